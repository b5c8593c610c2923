/// The real body: square or racked, leaning or not, what is free inside. See docs/method/survey.md.
package lectulum.base.survey;
