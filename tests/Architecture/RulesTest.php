<?php

declare(strict_types=1);

use StoneDrill\Core\Rules;
use Tests\Architecture\RulesFixture;

it('has another version of the rules whenever the rules are other ones', function (): void {
    $known = trim((string) file_get_contents(dirname(__DIR__).'/fixtures/rules-version.txt'));

    // Changed core/ on purpose? Raise Rules::VERSION and write the line below into tests/fixtures/rules-version.txt.
    expect($known)->toBe(Rules::VERSION.' '.RulesFixture::rulesOfNow());
});
