// The page that shows how a tablet or phone comes to trust the shop's authority: three pictures, no scripts.
const { ADDRESS = '', FINGERPRINT = '' } = process.env;

const device = (inside) =>
  `<svg viewBox="0 0 150 210" aria-hidden="true"><g fill="none" stroke="#1c4f86" stroke-width="2">
<rect x="8" y="8" width="134" height="194" rx="14"/><path d="M60 20H90"/></g>${inside}</svg>`;

const row = (y, width, blue = false) =>
  `<rect x="24" y="${y}" width="${width}" height="14" rx="4" fill="${blue ? '#1c4f86' : '#d0c7b4'}"/>`;

const PICTURES = [
  device(
    `${row(40, 76)}<path d="M75 74v54m0 0l-18-18m18 18l18-18M48 146h54" fill="none" stroke="#1e6a5a" stroke-width="5"/>
${row(164, 102, true)}`,
  ),
  device(
    `${row(40, 60)}${row(66, 102)}${row(92, 102)}
<rect x="24" y="118" width="102" height="30" rx="6" fill="none" stroke="#1e6a5a" stroke-width="3"/>
<rect x="88" y="125" width="30" height="16" rx="8" fill="#1e6a5a"/><circle cx="110" cy="133" r="6" fill="#fff"/>${row(164, 70)}`,
  ),
  device(
    `<rect x="24" y="36" width="102" height="20" rx="6" fill="none" stroke="#1c4f86" stroke-width="2"/>
<path d="M34 48v-4a4 4 0 018 0v4m-10 0h12v6h-12z" fill="#1e6a5a"/><g fill="none" stroke="#1c4f86" stroke-width="2">
<circle cx="75" cy="118" r="42"/><circle cx="75" cy="118" r="30"/><circle cx="75" cy="118" r="14"/></g>${row(174, 60, true)}`,
  ),
];

const STEPS = [
  ['Fetch the certificate', '<a href="/authority.crt">Fetch it here</a>With the tablet or phone itself.'],
  [
    'Trust it, in the settings',
    `iPad and iPhone: <b>Settings, Profile downloaded, Install</b>; then <b>General, About, Certificate Trust Settings</b> and
turn it on.<br>Android: <b>Settings, Security, Install a certificate, CA certificate</b>, then the file just fetched.`,
  ],
  ['Open the shop', `<a href="${ADDRESS}">${ADDRESS}</a>No warning comes any more. Put it on the home screen from there.`],
];

process.stdout.write(`<!doctype html>
<html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>Trust this workshop</title>
<style>
body{margin:0;padding:24px;background:#f2ede2;color:#20262c;font:17px/1.45 system-ui,sans-serif}
main{max-width:960px;margin:auto}h1{margin:0 0 4px;font-size:30px}h2{margin:8px 0 4px;font-size:20px}
ol{list-style:none;padding:0;display:grid;grid-template-columns:repeat(auto-fit,minmax(250px,1fr));gap:24px}
svg{width:130px;height:182px}a{color:#1c4f86;font-weight:600;display:block;padding:12px 0}
code{display:block;padding:12px;background:#fbf8f1;border:1.5px solid #d0c7b4;border-radius:5px;overflow-wrap:anywhere}
p.m{color:#5c6368}
</style>
<main>
<h1>Trust this workshop</h1>
<p class="m">Once for each tablet and phone. It lets this device know the workshop's own machine, and nothing beyond it is needed.</p>
<ol>
${STEPS.map(([title, text], i) => `<li>${PICTURES[i]}<h2>${i + 1}. ${title}</h2>${text}</li>`).join('\n')}
</ol>
<h2>Compare before you trust</h2>
<p>The device shows a fingerprint (SHA-256) of what it fetched. It is this one, and the one where Clean Race was started:</p>
<code>${FINGERPRINT}</code>
<p class="m">Another fingerprint: do not trust it. Somebody else answers in the workshop's place.</p>
</main>
</html>
`);
