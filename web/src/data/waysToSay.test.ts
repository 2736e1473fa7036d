import { expect, it } from 'vitest';
import shared from '../../../core/src/test/resources/org/dwimble/core/shared-cases.json';
import { waysToSay, type Given } from './waysToSay';

const cases = (shared as unknown as { voices: { given: Given; ways: string[] }[] }).voices;

it.each(cases)('$given is said by $ways, as core has it', ({ given, ways }) => {
  expect(waysToSay(given)).toEqual(ways);
});
