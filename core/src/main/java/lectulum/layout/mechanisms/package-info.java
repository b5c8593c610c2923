/// What opens, slides, hangs and carries: struts, lifting beds, runners, legs, slats. See docs/method/mechanisms.md.
package lectulum.layout.mechanisms;
