<?php

declare(strict_types=1);

it('plans a class in one press, lengthens a block, and plans it anew for those who came', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/classes')->press('Plan a class');
    $this->fill('place', 'On the quay')->fill('minutes', '45')->press('Plan a class')->see('The class is planned.')->see('45 min · On the quay · 28 students');
    // 45 minutes by hand: 2, 7, 14, 11, 9, 2.
    $minutes = fn (): array => $this->browser->executeScript('return [...document.querySelectorAll("main table")[0].querySelectorAll("tbody tr")].map(row => Number(row.cells[2].innerText))');
    expect($minutes())->toBe([2, 7, 14, 11, 9, 2]);
    $this->see('What is taught')->see('have never tried it')->see('Partners in the drill, those under 16')->see('as third');

    $this->find('button[aria-label="Longer: Teach"]')->click();
    $this->see('fixed');
    // 30 are left for 5, 15, 25, 20, 5 of 70: 2.14, 6.43, 10.71, 8.57, 2.14.
    expect($minutes())->toBe([2, 6, 15, 11, 9, 2]);
    foreach (array_slice($this->browser->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('.attendance input')), 0, 4) as $student) {
        $student->click();
    }
    $this->press('Save who is here')->see('4 are here. The plan is for them.')->see('On the quay · 4 students');
    $this->press('As usual again');
    $this->until(fn (): bool => $minutes() === [2, 7, 14, 11, 9, 2]);
});
