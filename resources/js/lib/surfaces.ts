/** The ids of the patterns that SurfaceDefs draws once a page; every drawing on it is in millimetres and refers to them. */
export const surfaceId = (component: string, face: number): string => `surface-${component}-${face}`

export const surfaceFill = (component: string, face: number): string => `url(#${surfaceId(component, face)})`

/** The same, three times as large, for pieces drawn so small that the true print would blur. */
export const smallFill = (component: string, face: number): string => `url(#${surfaceId(component, face)}-small)`
