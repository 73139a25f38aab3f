<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;
use App\Models\User;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;

/** What the tests of Beginning share. */
final class BeginningFixture
{
    /** @return array<string, string> the first step as it is sent */
    public static function form(array $with = []): array
    {
        return [
            'name' => 'Brackenfold Hall',
            'zone' => 'Europe/Lisbon',
            'bearings' => 'degrees',
            'person' => 'Wren Aldous',
            'email' => 'wren@brackenfold.example',
            'password' => 'a long password',
            ...$with,
        ];
    }

    /** Sends the first step and follows the link of the mail; what comes then. */
    public static function begin(TestCase $test, array $with = [], string $at = '/begin'): TestResponse
    {
        $form = self::form($with);
        $test->post($at, $form)->assertRedirect('/begin/mailed');
        $link = AccountsFixture::link(AccountsFixture::mail(strtolower($form['email'])));
        $page = $test->get($link)->assertOk();
        preg_match('/name="with" value="([^"]+)"/', (string) $page->getContent(), $with);

        return $test->post('/begin/confirm', ['with' => $with[1]]);
    }

    /** A school of which the first step is done, with its head. */
    public static function begun(): User
    {
        return app(\App\Actions\BeginSchool::class)
            ->begin(
                ['name' => 'Brackenfold Hall', 'zone' => 'UTC', 'bearings' => 'clock'],
                ['name' => 'Wren Aldous', 'email' => 'wren@brackenfold.example', 'password' => 'a long password'],
            )
            ->fresh();
    }

    /** @param list<string> $names */
    public static function ranks(array $names): array
    {
        return [
            'ranks' => array_map(
                static fn (string $name): array => ['name' => $name, 'max_beats' => '5', 'goal_rung' => '3'],
                $names,
            ),
        ];
    }

    /** @return array<string, mixed> the policy of a school as its table sends it, as it is */
    public static function policy(School $school): array
    {
        $table = new \App\View\Forms\PolicyTable(
            app(\App\Persistence\CatalogueMapper::class)->school($school),
            $school->ranks,
        );
        $sent = [];
        foreach ($table->hazards() as $hazard) {
            foreach ($table->ages as $age) {
                foreach ($table::LEVELS as $level) {
                    $sent[$hazard->value][$age][$level->value] = $table->limit($hazard, $age, $level);
                }
            }
        }

        return $sent;
    }
}
