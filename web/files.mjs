// Puts the files that are neither bundled nor compiled where the build expects them: the mark, and the typeface for paper.
import fs from 'node:fs';

for (const folder of ['target/public', 'target/fonts']) fs.mkdirSync(folder, { recursive: true });
fs.copyFileSync('mark.svg', 'target/public/mark.svg');
fs.copyFileSync('mark-512.png', 'target/public/mark-512.png');
for (const font of ['Andika_400Regular.ttf', 'Andika_700Bold.ttf']) fs.copyFileSync(`node_modules/@expo-google-fonts/andika/${font}`, `target/fonts/${font}`);
for (const [name, file] of [
  ['arabic', 'NotoSansArabic'],
  ['hebrew', 'NotoSansHebrew'],
  ['sc', 'NotoSansSC'],
]) {
  fs.copyFileSync(`node_modules/@expo-google-fonts/noto-sans-${name}/400Regular/${file}_400Regular.ttf`, `target/fonts/${file}_400Regular.ttf`);
}
