/// The records of people, climate and wishes.
package lectulum.design.brief;
