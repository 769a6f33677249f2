import { expect, pageAs, test } from './as';
import { callOut, dueJob, ownPlace, post, visitFor } from './own';
import { person } from './world';

test('a job sheet gets its next version, a place its own way, and the phone shows both', async ({ browser }) => {
    const desk = await pageAs(browser, 'planner', { viewport: { width: 1280, height: 800 } });
    await desk.goto('/settings/jobs');
    await desk
        .getByRole('navigation', { name: 'Job sheets' })
        .getByRole('link', { name: /^Skimmer cup/ })
        .click();
    await expect(desk.getByRole('heading', { name: 'Skimmer cup' })).toBeVisible();
    await desk.getByRole('button', { name: 'Make the next version' }).click();
    await desk.getByRole('button', { name: 'add a step' }).click();
    await desk.getByRole('textbox', { name: 'Step 3' }).fill('Air intake free of salt');
    await desk.getByRole('button', { name: 'Step 3 up' }).click();
    await desk.getByRole('button', { name: 'Make version 2' }).click();
    // Without its reason it is not taken, and what was typed stands.
    await expect(desk.getByRole('textbox', { name: 'Step 2' })).toHaveValue('Air intake free of salt');
    await desk.getByLabel('Why it changes').fill('two cups ran over');
    await desk.getByRole('button', { name: 'Make version 2' }).click();
    await expect(desk.getByText('A new version from now on.')).toBeVisible();
    await expect(desk.locator('.versions li').first()).toContainText('two cups ran over');
    await expect(desk.locator('.versions .came').first()).toContainText('Air intake free of salt');

    const place = await ownPlace(desk, 'Net loft');
    await post(desk, `/systems/${place.system}/items`, {
        job: 'skimmer',
        name: 'Skimmer',
        state: 'run-in',
        installed_precision: 'day',
    });
    await dueJob(desk, place, 'Skimmer cup');
    await desk.goto(`/sites/${place.site}/jobs`);
    const job = desk.locator('.sitejob').filter({ hasText: 'Skimmer cup' });
    await job.getByRole('button', { name: 'something is different here' }).click();
    await job.getByLabel('At which step').selectOption({ index: 0 });
    await job.getByLabel('What is done').fill('Cup off over the tray');
    await job.getByLabel('Why this place differs').fill('white carpet');
    await job.getByRole('button', { name: 'Keep it for this place' }).click();
    await expect(job.getByText('Here, instead of')).toBeVisible();

    const visit = await visitFor(desk, place, 'Look at the lid', await person(desk, 'Teodor Brask'));
    const phone = await pageAs(browser, 'planner', { viewport: { width: 390, height: 844 }, hasTouch: true });
    await phone.goto(`/visits/${visit}`);
    await phone.getByRole('button', { name: /Skimmer cup/ }).click();
    await expect(phone.getByText('Here, instead of “Cup off, neck wiped”:')).toBeVisible();
    await expect(phone.getByText('Air intake free of salt')).toBeVisible();
    await expect(phone.getByText(/^Job sheet, version 2 of/)).toBeVisible();
});

test('a fault is found on a phone, one look at a time, and has an owner and a day', async ({ browser }) => {
    const phone = await pageAs(browser, 'technician', { viewport: { width: 390, height: 844 }, hasTouch: true });
    const planner = await pageAs(browser, 'planner');
    const place = await ownPlace(planner, 'Cold loft');
    const cold = `/systems/${place.system}`;
    await post(planner, `${cold}/items`, {
        job: 'heater',
        name: 'Heater 1',
        state: 'run-in',
        installed_precision: 'day',
    });
    await callOut(phone, place, 'Too cold');
    await phone.goto(cold);
    await phone.getByRole('link', { name: 'find a fault' }).click();
    await phone.getByRole('link', { name: 'Too cold' }).click();
    await phone.getByRole('link', { name: 'Yes, it is cold' }).click();
    await expect(phone.getByRole('heading', { name: /How many watts/ })).toBeVisible();
    await expect(phone.getByRole('cell', { name: 'Heater 1' })).toBeVisible();
    await phone.getByRole('link', { name: 'One of them none' }).click();
    await phone.getByRole('link', { name: 'Yes', exact: true }).click();
    await expect(phone.getByRole('heading', { name: 'The heater is dead.' })).toBeVisible();
    expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await phone.getByRole('button', { name: 'Write it down' }).click();
    await expect(phone.getByText('In the log; it has an owner and a day.')).toBeVisible();
    await expect(phone.getByText(/Too cold\. Does a second thermometer/)).toBeVisible();
    await phone.goto(`${cold}/tasks`);
    await expect(phone.getByText(/Heater: The heater is dead\./)).toBeVisible();
});

test('a job that changes how a tank looks waits for its photo, and both go once there is signal', async ({
    browser,
}) => {
    const desk = await pageAs(browser, 'planner');
    const place = await ownPlace(desk, 'Sand quay');
    await dueJob(desk, place, 'Siphon a quarter of the sand');
    const visit = await visitFor(desk, place, 'Look at the bed', await person(desk, 'Teodor Brask'));
    const phone = await pageAs(browser, 'planner', { viewport: { width: 390, height: 844 }, hasTouch: true });
    await phone.goto(`/visits/${visit}`);
    await phone.getByRole('button', { name: 'I am here: begin' }).click();
    const job = phone.getByRole('listitem').filter({ has: phone.getByRole('button', { name: /Siphon a quarter/ }) });
    const step = phone.getByRole('checkbox', { name: 'Only this quarter' });
    await expect(step).toBeDisabled();
    await expect(phone.getByText('all sent')).toBeVisible();

    await phone.context().setOffline(true);
    await phone.getByLabel('Photo before you begin').setInputFiles({
        name: 'bed.png',
        mimeType: 'image/png',
        buffer: Buffer.from(
            'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
            'base64',
        ),
    });
    await expect(phone.getByText('Before it began: a photo.')).toBeVisible();
    await step.check();
    await expect(phone.getByText('3 kept here')).toBeVisible();
    await phone.context().setOffline(false);
    await expect(phone.getByText('all sent')).toBeVisible({ timeout: 20_000 });
    await phone.reload();
    await expect(job).toContainText('Before it began: a photo.');
    await expect(phone.getByRole('button', { name: 'Photo (1)' })).toBeVisible();
});
