/// Tasks in their order: networks, calendars, waiting, chance.
package lectulum.kernel.schedule;
