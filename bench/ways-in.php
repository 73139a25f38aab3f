<?php

declare(strict_types=1);

use App\Auth\CardCode;
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
DB::table('users')->insert(
    array_map(
        static fn (int $number): array => [
            'school_id' => $school->id,
            'name' => "Somebody {$number}",
            'email' => "known{$number}@bench.example",
            'password' => $hash,
            'role' => 'assistant',
            'pin' => $hash,
        ],
        range(1, $tries),
    ),
);
$ids = DB::table('users')->where('email', 'like', 'known%@bench.example')->orderBy('id')->pluck('id')->all();
$code = CardCode::make();
$school->tablets()->create(['name' => 'Bench', 'token' => CardCode::hash($code), 'expires_at' => now()->addHour()]);

$doors = [
    'wrong password' => [
        '/sign-in',
        static fn (string $email, int $number): array => ['/sign-in', ['email' => $email, 'password' => 'wrong']],
    ],
    'start a school' => [
        '/begin',
        static fn (string $email): array => [
            '/begin',
            [
                'name' => 'Hall',
                'zone' => 'UTC',
                'bearings' => 'clock',
                'person' => 'Somebody',
                'email' => $email,
                'password' => 'a long password',
            ],
        ],
    ],
    // Somebody of the school with a PIN, and nobody at all.
    'PIN on a tablet' => [
        '/tablet',
        static fn (string $email, int $number): array => [
            '/tablet/unlock',
            [
                'person' => (string) (str_starts_with($email, 'known') ? $ids[$number - 1] : 900_000 + $number),
                'pin' => '000000',
            ],
        ],
    ],
    'forgotten password' => [
        '/password/forgotten',
        static fn (string $email): array => ['/password/forgotten', ['email' => $email]],
    ],
];
foreach ($doors as $name => [$page, $request]) {
    $browser = new Browser($base);
    $browser->get($page);
    if ($page === '/tablet') {
        $browser->send('POST', '/tablet', ['code' => $code]);
    }
    $times = ['known' => [], 'unknown' => []];
    for ($number = 1; $number <= $tries; $number++) {
        foreach ($number % 2 === 0 ? ['known', 'unknown'] : ['unknown', 'known'] as $who) {
            [$path, $fields] = $request("{$who}{$number}@bench.example", $number);
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
    printf(
        "%-20s with account %7.2f ms   without %7.2f ms   %+.1f %%\n",
        $name,
        $middle['known'],
        $middle['unknown'],
        100 * ($middle['known'] / $middle['unknown'] - 1),
    );
}
