<?php

declare(strict_types=1);

it('plans a class in one press, lengthens a block, and plans it anew for those who came', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/classes')->press('Plan a class');
    $this->fill('place', 'On the quay')
        ->fill('minutes', '45')
        ->press('Plan a class')
        ->see('The class is planned.')
        ->see('45 min · On the quay · 28 students');
    // 45 minutes by hand: 2, 7, 14, 11, 9, 2.
    $minutes = fn (): array => $this->browser->executeScript(
        'return [...document.querySelectorAll("main table")[0].querySelectorAll("tbody tr")].map(row => Number(row.cells[2].innerText))',
    );
    expect($minutes())->toBe([2, 7, 14, 11, 9, 2]);
    $this->see('What is taught')
        ->see('have never tried it')
        ->see('Gravel – Flint, those under 16')
        ->see('Partners in the drill, those under 16')
        ->see('as third');

    $this->find('button[aria-label="Longer: Teach"]')->click();
    $this->see('fixed');
    // 30 are left for 5, 15, 25, 20, 5 of 70: 2.14, 6.43, 10.71, 8.57, 2.14.
    expect($minutes())->toBe([2, 6, 15, 11, 9, 2]);
    $shown = fn (): array => array_values(
        array_filter(
            $this->browser->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('.attendance input')),
            fn ($box): bool => $box->isDisplayed(),
        ),
    );
    $find = $this->find('#find-everybody');
    $find->sendKeys('QUILL');
    $this->see('1 of 28');
    expect($shown())->toHaveCount(1);
    $shown()[0]->click();
    // Entered, it sends nothing; nobody has to be found again who is ticked.
    $find->sendKeys(Facebook\WebDriver\WebDriverKeys::ENTER);
    $find->clear();
    $find->sendKeys('pennyboat');
    $this->see('2 of 28');
    expect($this->violations())->toBe([]);
    $find->clear();
    $find->sendKeys(' ');
    $this->until(fn (): bool => count($shown()) === 28);
    foreach (array_slice(array_filter($shown(), fn ($box): bool => ! $box->isSelected()), 0, 3) as $box) {
        $box->click();
    }
    $this->press('Save who is here')->see('4 are here. The plan is for them.')->see('On the quay · 4 students');
    // The second block is dragged onto the fourth: the mouse of the driver starts no drag here, so the page is told of
    // one.
    $this->browser->executeScript(
        'const [from, onto] = [1, 3].map((place) => document.querySelectorAll("[data-block] th")[place]); for (const [type, target] of [["dragstart", from], ["dragover", onto], ["drop", onto], ["dragend", from]]) target.dispatchEvent(new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer: new DataTransfer() }));',
    );
    $this->until(
        fn (): bool => $this->browser->executeScript(
            'return [...document.querySelectorAll("[data-block] th")].map(cell => cell.innerText.split(" ")[0]).join(" ")',
        ) === 'Gather Teach Drill Basics Pressure Close',
    );
    $this->press('As usual again');
    $this->until(fn (): bool => $minutes() === [2, 7, 14, 11, 9, 2]);
});

it('makes an address for the calendar of one’s classes', function (): void {
    $this->signIn('student@cinder-quay.example')->visit('/account')->press('Make an address')->see('as a subscription');
    expect($this->violations())->toBe([]);
    $this->visit((string) parse_url($this->find('code')->getText(), PHP_URL_PATH));
    $this->visit('/account')->press('Make a new address')->see('as a subscription');
    $this->visit('/account')->press('End it')->see('leads nowhere any more');
});

it('asks which column holds what, where the heads of a file of reps say nothing', function (): void {
    $path = sys_get_temp_dir().'/reps-'.bin2hex(random_bytes(4)).'.csv';
    file_put_contents($path, "Number,Person,Which\n1,2,3\n");
    $this->signIn('head@cinder-quay.example')->visit('/people/reps')->find('input[type=file]')->sendKeys($path);
    $this->press('Preview')->see('Which column holds what');
    unlink($path);

    expect($this->violations())->toBe([]);
});
