/** The lead of the demo, as the sign-in page shows it. */
export const demoLead = { login: 'edda', password: 'lamp-over-the-quay' };

/** Signs in to a program with demo data. @returns {Promise<string>} the session cookie as `name=value` */
export async function signInToDemo(url) {
  const answer = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(demoLead),
  });
  const [cookie] = answer.headers.getSetCookie();
  if (answer.status !== 201 || !cookie) throw new Error(`expected to sign in to the demo, found ${answer.status}`);
  return cookie.split(';')[0];
}

/** The same for a browser context of Playwright. */
export async function signInBrowser(context, url) {
  const [name, value] = (await signInToDemo(url)).split('=');
  await context.addCookies([{ name, value, url, httpOnly: true, sameSite: 'Strict' }]);
}
