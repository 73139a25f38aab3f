<?php

declare(strict_types=1);

use App\Models\School;
use Bench\Browser;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

// Called by bench/ways-in: asks at each door with and without account by turns, and sets the middle times side by side.


require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Browser.php';
require __DIR__.'/Answer.php';

[$base, $tries] = [$argv[1], (int) ($argv[2] ?? 200)];
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$school = School::query()->firstOrFail();
$hash = password_hash('a long password', PASSWORD_BCRYPT, ['cost' => 12]);
DB::table('users')->insert(array_map(static fn (int $number): array => ['school_id' => $school->id, 'name' => "Somebody {$number}", 'email' => "known{$number}@bench.example", 'password' => $hash, 'role' => 'assistant'], range(1, $tries)));

$doors = [
    'wrong password' => ['/sign-in', static fn (string $email): array => ['/sign-in', ['email' => $email, 'password' => 'wrong']]],
    'forgotten password' => ['/password/forgotten', static fn (string $email): array => ['/password/forgotten', ['email' => $email]]],
];
foreach ($doors as $name => [$page, $request]) {
    $browser = new Browser($base);
    $browser->get($page);
    $times = ['known' => [], 'unknown' => []];
    for ($number = 1; $number <= $tries; $number++) {
        foreach ($number % 2 === 0 ? ['known', 'unknown'] : ['unknown', 'known'] as $who) {
            [$path, $fields] = $request("{$who}{$number}@bench.example");
            $answer = $browser->send('POST', $path, $fields);
            if ($answer->status !== 302) {
                fwrite(STDERR, "{$name}: {$answer->status}\n");
                exit(1);
            }
            $times[$who][] = 1000 * $answer->seconds;
        }
    }
    $middle = array_map(static function (array $all): float {
        sort($all);

        return $all[intdiv(count($all), 2)];
    }, $times);
    printf("%-20s with account %7.2f ms   without %7.2f ms   %+.1f %%\n", $name, $middle['known'], $middle['unknown'], 100 * ($middle['known'] / $middle['unknown'] - 1));
}
