/// The records of body, frame, axle and survey.
package lectulum.design.base;
