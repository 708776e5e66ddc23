/** The ids of the patterns that SurfaceDefs draws once a page. Every drawing is in millimetres and refers to them. */
export const surfaceId = (component: string, face: number): string => `surface-${component}-${face}`

export const surfaceFill = (component: string, face: number): string => `url(#${surfaceId(component, face)})`

/** The same at three times the size, for small pieces on which the true print would blur. */
export const smallFill = (component: string, face: number): string => `url(#${surfaceId(component, face)}-small)`
