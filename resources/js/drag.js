/** Where a pointer is, in the units of a drawing. */
export const pointIn = (svg, event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());

/** The one of these parts that lies under a pointer, whatever is drawn above it. */
export const under = (parts, event) => [...document.querySelectorAll(parts)].find((one) => inside(one.getBoundingClientRect(), event));

const inside = (box, { clientX, clientY }) => clientX >= box.left && clientX <= box.right && clientY >= box.top && clientY <= box.bottom;
