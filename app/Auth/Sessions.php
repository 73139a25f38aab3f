<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The devices on which somebody is signed in, and the end of that. */
final readonly class Sessions
{
    /**
     * @param string $current id of the session that asks
     *
     * @return list<array{id: string, address: string, device: string, last: CarbonImmutable, isThis: bool}> the one
     *     used last first
     */
    public function of(User $user, string $current): array
    {
        $rows = $this->rows($user)->orderByDesc('last_activity')->get();

        return array_values(
            $rows
                ->map(
                    static fn (object $row): array => [
                        'id' => hash('sha256', $row->id),
                        'address' => (string) $row->ip_address,
                        'device' => self::device((string) $row->user_agent),
                        'last' => CarbonImmutable::createFromTimestamp($row->last_activity),
                        'isThis' => $row->id === $current,
                    ],
                )
                ->all(),
        );
    }

    /** Ends one, named as in {@see of()}. */
    public function end(User $user, string $id): void
    {
        foreach ($this->rows($user)->pluck('id') as $session) {
            if (hash_equals(hash('sha256', $session), $id)) {
                DB::table('sessions')->where('id', $session)->delete();
            }
        }
        $this->forgetRemembered($user);
    }

    /** Everywhere, programs too. */
    public function endAll(User $user): void
    {
        $this->rows($user)->delete();
        $user->tokens()->delete();
        $this->forgetRemembered($user);
    }

    /** Ends all but the one that asks for it. */
    public function endOthers(User $user, string $current): void
    {
        $this->rows($user)->where('id', '!=', $current)->delete();
        $user->tokens()->delete();
        $this->forgetRemembered($user);
    }

    /** What keeps a device signed in holds nowhere any more. */
    private function forgetRemembered(User $user): void
    {
        $user->forceFill(['remember_token' => Str::random(60)])->saveQuietly();
    }

    private function rows(User $user): Builder
    {
        return DB::table('sessions')->where('user_id', $user->id);
    }

    /** A device in a few words: which browser on which system. */
    private static function device(string $agent): string
    {
        $first = static fn (array $words): string => collect($words)->first(
            static fn (string $word): bool => str_contains($agent, $word),
        ) ?? '';
        $browser = $first(['Firefox', 'Edg', 'Chrome', 'Safari']);
        $system = $first(['Android', 'iPhone', 'iPad', 'Windows', 'Macintosh', 'Linux']);

        return trim("{$browser}, {$system}", ', ');
    }
}
