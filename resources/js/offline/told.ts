/** Answers that are kept for when there is no server: of the drawings, their cells and pictures. By their paths. */
export const TOLD = /^\/api\/(catalogue|drawings|drawings\/\w{26}(\/copying|\/cells\/\d+\/\d+)?|photos\/\w+\/(preview|cut)\.jpg)$/

/** The name they are kept under. */
export const KEPT_IN = 'told'

/** What a page says to a worker that is there and does not serve it yet. */
export const TAKE_OVER = 'take over'
