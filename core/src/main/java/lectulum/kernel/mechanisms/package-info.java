/// Lids, struts, lifting beds, slides, hatches and doors. Plane, rigid, friction where said.
package lectulum.kernel.mechanisms;
