import { corner, grid, header, inARow, recap } from '../boards';
import { test } from '../fixture';

test('the server’s leaked corner, from the first mark to nets that are whole again', async ({ page, haar }) => {
  await corner(page, haar);
});

test('the newsletter desktop’s recap, from the drawer and the post to measured again', async ({ page, haar }) => {
  await recap(page, haar);
});

test('parts measured in a row, and the front seen through from the back', async ({ page, haar }) => {
  await inARow(page, haar);
});

test('a fan’s header exchanged, its joints counted and its neighbours measured', async ({ page, haar }) => {
  await header(page, haar);
});

test('two hundred equal capacitors put down as a grid, and taken back in one', async ({ page, haar }) => {
  await grid(page, haar);
});
