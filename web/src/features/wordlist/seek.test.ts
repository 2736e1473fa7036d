import { expect, it } from 'vitest';
import { sought } from './seek';

it('a list is found by its name and by whose it is, whatever the accents', () => {
  const list = { name: 'Café trip', studentName: 'Ilse', ownerName: 'Odile' };
  expect(sought(list, 'cafe ilse')).toBe(true);
  expect(sought(list, '')).toBe(true);
  expect(sought(list, 'harbour')).toBe(false);
});
