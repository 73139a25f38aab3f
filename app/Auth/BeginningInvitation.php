<?php

declare(strict_types=1);

namespace App\Auth;

use App\Http\Word;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Contracts\Config\Repository as Config;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;

/**
 * Who may start a school of their own in this installation: everybody, who has a link, or nobody. A link holds for a
 * week and once.
 */
final readonly class BeginningInvitation
{
    public const DAYS = 7;

    public function __construct(private Config $config, private Cache $cache) {}

    public function isOpen(): bool
    {
        return $this->config->get('installation.beginning') === 'open';
    }

    /** A link by which one school can be started. */
    public function link(): string
    {
        return URL::temporarySignedRoute('beginning.create', CarbonImmutable::now()->addDays(self::DAYS), [
            'once' => Str::random(20),
        ]);
    }

    /** @throws HttpResponseException when whoever asks may not start a school */
    public function check(Request $request): void
    {
        $isInvited = $this->config->get('installation.beginning') === 'invited'
        && $request->hasValidSignature()
        && ! $this->cache->has(self::key(Word::in($request, 'once')));
        if (! $this->isOpen() && ! $isInvited) {
            $this->refuse();
        }
    }

    /**
     * Takes the link that was asked with, which holds no longer.
     *
     * @param string $once what tells it from other links; it was checked when it was asked with
     *
     * @throws HttpResponseException when it is taken already, or nobody may start a school any more
     */
    public function take(string $once): void
    {
        $isInvited = $this->config->get('installation.beginning') === 'invited' && $once !== '';
        if (
            ! $this->isOpen()
            && ! ($isInvited && $this->cache->add(self::key($once), true, CarbonImmutable::now()->addDays(self::DAYS)))
        ) {
            $this->refuse();
        }
    }

    private function refuse(): never
    {
        throw new HttpResponseException(response()->view('beginning.closed', [], 403));
    }

    private static function key(string $once): string
    {
        return 'beginning:'.hash('sha256', $once);
    }
}
