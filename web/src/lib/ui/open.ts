/** How a screen opens what belongs to the whole page. Set once, by the page. */
let opens = { palette: () => {}, keys: () => {} };

export function setPalette(how: typeof opens) {
  opens = how;
}

export const openPalette = () => opens.palette();
export const openKeys = () => opens.keys();
