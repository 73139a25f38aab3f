<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Auth\BenchTablet;
use App\Http\KnowsWhatItShows;
use App\Models\Student;
use App\Models\TrainingClass;
use App\Models\User;
use App\Persistence\EvidenceBook;
use App\Persistence\KeptPages;
use App\Persistence\Packed;
use App\Persistence\ReadRevisions;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Page;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sends a page again as it was drawn, as long as no row changed that a page of that school may show: to the same
 * person, or to anybody who teaches there in the same role where nothing else was asked of whom it was drawn for.
 * Whoever reloads it in the browser has it drawn anew.
 */
final readonly class KeepPage
{
    /** Stands for the token of the session, which every form carries. */
    private const TOKEN = "\x1Ftoken\x1F";

    /** The name in the head of the page, which everybody has of their own. */
    private const NAME = '/<a class="own-name" href="[^"]*">\K[^<]*/';

    /** What a form sends is known again by an id, which no other page has. */
    private const ID = '/(?<=<input type="hidden" name="id" value=")[0-9a-f-]{36}(?=")/';

    public function __construct(private RevisionCache $kept, private ReadRevisions $read) {}

    /**
     * @param string $tells of which reps it tells: see {@see Revision::ofPage()}; or `evidence`, of those that were
     *     read. Of the page of a class: see {@see Revision::ofClass()}
     * @param string $of    `page`, or `part` of one, that a page asks for by itself
     */
    public function handle(Request $request, Closure $next, string $tells = 'reps', string $of = 'page'): Response
    {
        $user = $request->user();
        if (! ($user instanceof User) || ! self::isAsked($request, $of === 'part')) {
            return $next($request);
        }
        // What writes while it is drawn has begun something, or will be drawn from what it kept.
        DB::connection()->forgetRecordModificationState();
        $this->read->begin();
        [$name, $revision] = [self::name($request, $user), self::revision($request, $user, $tells)];
        $token = $request->session()->token();
        $isAnew = self::isAnew($request);
        $kept = $isAnew ? null : $this->kept->known($name, $revision);
        $shows = $kept === null ? self::shows($request, $user) : null;
        if ($shows !== null && ! $isAnew) {
            $kept = $this->unchanged($name, $revision, $shows);
        }
        if (is_array($kept)) {
            $html = str_replace(self::TOKEN, $token, Packed::unpack($kept['page']));
            $html = self::named($html, e($user->nameInHead()));

            return new Page(preg_replace_callback(self::ID, static fn (): string => (string) Str::uuid(), $html));
        }

        $user->forgetWhatWasAsked();
        $response = $next($request);
        $isForOthers = $user->role->teaches();
        if (
            ! DB::connection()->hasModifiedRecords()
            && ! $this->read->isBehind
            && self::isWhole($response)
            && ! ($isForOthers && $user->wasToldApart())
        ) {
            // Whoever asked has it before it is kept.
            defer(
                fn () => $this->kept->keep(
                    $name,
                    $revision,
                    KeptPages::STANDS,
                    [
                        'page' => Packed::pack(
                            self::named(str_replace($token, self::TOKEN, (string) $response->getContent()), ''),
                        ),
                        'shows' => $shows,
                    ],
                ),
            );
        }

        return $response;
    }

    /**
     * What was drawn before reps came that change nothing of it, kept from now on under what its rows are at now.
     *
     * @return ?array<array-key, mixed>
     */
    private function unchanged(string $name, string $revision, string $shows): ?array
    {
        $before = $this->kept->latest($name);
        if (! is_array($before) || ($before['shows'] ?? null) !== $shows) {
            return null;
        }
        return $this->kept->keepAfterwards($name, $revision, KeptPages::STANDS, $before);
    }

    /** Not a part of what is kept whole, nor what tells of something done just now, nor what a shared tablet shows. */
    private static function isAsked(Request $request, bool $isPart): bool
    {
        return $request->isMethod('GET')
            && $request->headers->has('HX-Request') === $isPart
            && $request->session()->get('_flash.old', []) === []
            && ! BenchTablet::isSignedIn($request);
    }

    private static function isAnew(Request $request): bool
    {
        return $request->headers->hasCacheControlDirective('no-cache')
            || $request->headers->getCacheControlDirective('max-age') === '0';
    }

    private static function name(Request $request, User $user): string
    {
        return 'page:'.KeptPages::whose($user).':'.hash('xxh128', $request->fullUrl());
    }

    /** @param string $name as it stands in a page */
    private static function named(string $html, string $name): string
    {
        return (string) preg_replace_callback(self::NAME, static fn (): string => $name, $html);
    }

    /** What its rows are at but for the reps, and what it shows of those; null where any rep may change it. */
    private static function shows(Request $request, User $user): ?string
    {
        $page = $request->route()?->getController();
        $shows = $page instanceof KnowsWhatItShows ? $page->shows($request, $user) : null;

        return $shows === null ? null : self::revision($request, $user, 'teaching')." {$shows}";
    }

    private static function revision(Request $request, User $user, string $tells): string
    {
        $whose = $request->route('student');
        $class = $request->route('class');
        $told = match (true) {
            $tells === 'evidence' => Revision::ofPage($user->school, null, 'teaching')
                .' '
                .app(EvidenceBook::class)->mark($user->school),
            $class instanceof TrainingClass => Revision::ofClass($class),
            default => Revision::ofPage($user->school, $whose instanceof Student ? $whose : null, $tells),
        };

        return implode(' ', [$told, intdiv(CarbonImmutable::now()->getTimestamp(), KeptPages::STANDS)]);
    }

    /** A page that asks again soon tells of work that is not done yet. */
    private static function isWhole(Response $response): bool
    {
        return $response instanceof Page
            && $response->getStatusCode() === 200
            && str_starts_with((string) $response->headers->get('Content-Type', 'text/html'), 'text/html')
            && preg_match('/hx-trigger="(?:every|load delay)/', (string) $response->getContent()) === 0;
    }
}
