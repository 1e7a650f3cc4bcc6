/** Four corners in the order in which a picture is straightened on them. */
export const cornerWords = (of: string) => [
  `the top left corner of ${of}`,
  `the top right corner of ${of}`,
  `the bottom right corner of ${of}`,
  `the bottom left corner of ${of}`,
];
