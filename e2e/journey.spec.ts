import { allKept, expect, open, pageAs, test, type } from './as';

/** The path once, as a planner walks it: a place, a plan, a warning put right, a record, a reading. */
test('survey a place, plan a build, be warned, accept, keep the record', async ({ browser }) => {
    const page = await pageAs(browser, 'planner');

    await test.step('a client, a place, a room and its door', async () => {
        await page.goto('/places');
        await expect(page.getByRole('button', { name: 'New client' })).toBeVisible();
        await page.keyboard.press('n');
        await page.getByLabel('Name of the client').fill('Family Kellan');
        await page.getByRole('button', { name: 'Open the file' }).click();
        await page.getByLabel('New place').fill('Boathouse');
        await page.getByRole('button', { name: 'Add the place' }).click();
        await expect(page.getByRole('heading', { level: 1, name: 'Boathouse' })).toBeVisible();

        await page.getByLabel('Another room').fill('Salon');
        await page.getByRole('button', { name: 'Add it' }).click();
        await expect(page.getByRole('region', { name: 'Salon' })).toBeVisible();
        await open(page, 'Climate');
        await type(page, 'Winter, coldest night', '17');
        await type(page, 'Summer, hottest day', '27');
        await allKept(page);
        await page.getByRole('button', { name: 'another passage' }).click();
        await page.getByLabel('Passage 1: name').fill('Salon door');
        await page.getByLabel('Passage 1: width, mm').fill('860');
        await page.getByLabel('Passage 1: height, mm').fill('2010');
        await allKept(page);
    });

    await test.step('three numbers already answer', async () => {
        await page.getByLabel('New plan').fill('Salon reef');
        await page.getByLabel('In which room').selectOption({ label: 'Salon' });
        await page.getByRole('button', { name: 'Begin to plan' }).click();
        await expect(page.getByText('The drawing starts with three numbers')).toBeVisible();
        await type(page, 'Length, outside', '1200');
        await type(page, 'Front to back, outside', '600');
        await type(page, 'Height, outside', '550');
        await expect(page.getByRole('row', { name: /True water volume/ })).toContainText('L');
        await expect(page.getByRole('row', { name: /^Floor / })).toContainText('ask a structural engineer');
        await expect(page.getByTestId('section')).toBeVisible();
    });

    await test.step('the rest of the build, and a power cut that fails', async () => {
        await type(page, 'Wall thickness', '12');
        await page.getByLabel('Top edge').selectOption('braced');
        await open(page, 'Overflow and drains');
        await type(page, 'Planned return flow', '3000');
        await type(page, 'Weir edge below the rim', '60');
        await type(page, 'Weir edge, length', '400');
        await page.getByLabel('Drains', { exact: true }).selectOption('siphon-emergency');
        await type(page, 'Main drain, bore', '34');
        await type(page, 'Emergency drain, bore', '44');
        await type(page, 'Emergency inlet below the rim', '54');
        await open(page, 'Return');
        await type(page, 'Deepest return outlet below the rim', '230');
        await page
            .locator('.fact', { hasText: 'Siphon break below the rim' })
            .getByRole('button', { name: 'none, on purpose' })
            .click();
        await type(page, 'Return line, bore', '27');
        await open(page, 'Sump and top-off');
        await type(page, 'Sump length, outside', '900');
        await type(page, 'Sump front to back, outside', '450');
        await type(page, 'Sump height, outside', '430');
        await type(page, 'Running level in the return chamber', '200');
        await type(page, 'Top-off reservoir', '10');
        await page.getByRole('button', { name: 'divide it into chambers' }).click();
        await page.getByLabel('Chamber 1: clear length, mm').fill('420');
        await page.getByLabel('Chamber 1: baffle, mm').fill('240');
        await open(page, 'Heat and room');
        await type(page, 'Pumps, together', '55');
        await type(page, 'Lights, together', '140');
        await open(page, 'Stand and floor');
        await page.getByLabel('Floor', { exact: true }).selectOption('slab');
        await type(page, 'Allowed load of the floor', '25');

        await expect(
            page.getByRole('complementary', { name: 'Findings' }).getByText(/Power cut puts .* on the floor/),
        ).toBeVisible();
        await page.getByRole('button', { name: /Play a power cut/ }).click();
        await expect(page.getByText(/on the floor/).first()).toBeVisible();
        await page.getByRole('button', { name: /Back to running/ }).click();
    });

    await test.step('the remedy puts it right', async () => {
        await type(page, 'Deepest return outlet below the rim', '75');
        // Starting values stand in for facts: nothing is called fine until somebody has said that they are right.
        const open_ = page.getByRole('region', { name: 'Open' });
        await expect(open_.getByText('Does the sump take what comes down at a power cut?')).toBeVisible();
        await open_.getByText(/starting values stand in for facts/).click();
        await open_.getByRole('button', { name: 'All of them are right' }).click();
        await page.getByRole('button', { name: /checked and good: show them/ }).click();
        await expect(
            page.getByRole('complementary', { name: 'Findings' }).getByText(/Power cut leaves .* spare/),
        ).toBeVisible();
        await expect(page.locator('.margin .note.stop')).toHaveCount(0);
    });

    await test.step('what can hurt somebody is said, not assumed', async () => {
        await open(page, 'Stand and floor');
        await page.getByLabel('Stand looked over').selectOption('new');
        await type(page, 'Storey', '0');
        await page.getByLabel('A wall is opened for it').selectOption('no');
        await page.getByLabel('On a balcony').selectOption('no');
        await open(page, 'Circuits, board, upkeep');
        await page.getByLabel('Residual-current protection on all wet gear').selectOption('yes');
        await open(page, 'Light and its hanging');
        await page
            .locator('.fact', { hasText: 'Lamps and their rack, hung' })
            .getByRole('button', { name: 'none, on purpose' })
            .click();
        const open_ = page.getByRole('region', { name: 'Open' });
        await expect(open_.getByText('Do the panes hold the water, filled to the rim?')).toHaveCount(0);
        await expect(open_.getByText('Is all wet gear behind residual-current protection?')).toHaveCount(0);
    });

    await test.step('a version is kept, accepted, and has its record', async () => {
        await expect(page.getByText('Everything is kept.')).toBeVisible();
        await page.getByRole('button', { name: 'Keep version 1' }).click();
        await expect(page.getByRole('heading', { level: 1, name: 'Version 1' })).toBeVisible();
        const pdf = await page.request.get(
            (await page.getByRole('link', { name: 'Plan sheet, PDF' }).getAttribute('href')) as string,
        );
        expect(pdf.headers()['content-type']).toBe('application/pdf');
        await page.getByLabel('Name of the system').fill('Salon reef');
        await page.getByRole('button', { name: 'Accept version 1' }).click();
        await expect(page.getByRole('heading', { level: 1, name: 'Salon reef' })).toBeVisible();
        await page.getByRole('link', { name: 'Register', exact: true }).click();
        await expect(page.getByRole('cell', { name: /Return pump/ }).first()).toBeVisible();
    });

    await test.step('a reading is judged, and a slip by ten is asked for again', async () => {
        await page.getByRole('link', { name: 'Readings' }).click();
        await expect(page.getByLabel('Unit')).toBeVisible();
        await page
            .getByRole('link', { name: /Alkalinity/ })
            .first()
            .click();
        await page.getByLabel('Alkalinity now').fill('0.78');
        await page.getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByText(/ten times off/)).toBeVisible();
        await page.getByLabel('Again, to be sure').fill('7.8');
        await page.getByRole('button', { name: 'That is what it says' }).click();
        await expect(page.getByText('Alkalinity is kept.')).toBeVisible();
        await expect(page.getByRole('table', { name: /newest first/ })).toContainText('7.8 dKH');
    });
});
