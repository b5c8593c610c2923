/// Numbers that cannot be meant, and what is put in their place so that everything else can be worked out and drawn.
package lectulum.analysis.soundness;
