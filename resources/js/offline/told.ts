/** Answers that are kept for when there is no server: of the drawings, their cells and pictures. By their paths. */
export const TOLD = /^\/api\/(catalogue|drawings|drawings\/\w{26}(\/copying|\/cells\/\d+\/\d+)?|photos\/\w+\/(preview|cut)\.jpg)$/

/** The name they are kept under. */
export const KEPT_IN = 'told'

/** Where another app's photos arrive, as the manifest says, and what they are kept in until they are asked about. */
export const SHARED = '/shared'
export const SHARED_IN = 'shared'
export const SHARED_NAME = 'X-Name'
/** As many of them at once; a shelf shows as many (ours). */
export const MOST_SHARED = 24

/** What a page says to a worker that is there and does not serve it yet. */
export const TAKE_OVER = 'take over'
