<?php

declare(strict_types=1);

namespace App\Http\Controllers\Beginning;

use App\Actions\BeginSchool;
use App\Auth\BeginningInvitation;
use App\Auth\PendingSchool;
use App\Http\Requests\Beginning\BeginSchoolRequest;
use App\Http\Requests\Beginning\SchoolStepRequest;
use App\Http\Word;
use App\Jobs\SendBeginning;
use App\Models\OutboxMail;
use App\Models\SetupStep;
use App\Models\User;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Mail;
use StoneDrill\Core\Geometry\BearingStyle;

/** The first step of a school: what it is called, how it writes, and who its first head is. */
final readonly class BeginningController
{
    /** In the session: to whom the link was sent, and when. */
    private const MAILED = 'beginning-mailed';

    public function create(Request $request, BeginningInvitation $invitation): View
    {
        $invitation->check($request);

        return view('beginning.create', [...self::choices(), 'action' => $request->fullUrl()]);
    }

    /** Sends a link to the email: the school is started by whoever reads it. */
    public function store(BeginSchoolRequest $request, BeginningInvitation $invitation): RedirectResponse
    {
        $invitation->check($request);
        $school = $request->pending();
        $request->session()->put(self::MAILED, [$school->head['email'], CarbonImmutable::now()->getTimestamp()]);
        SendBeginning::dispatch($school);

        return redirect()->route('beginning.mailed');
    }

    /** Where the mail has gone; and the mail itself, where this installation sends none. */
    public function mailed(Request $request): View|RedirectResponse
    {
        [$email, $since] = $request->session()->get(self::MAILED, ['', 0]);
        if ($email === '') {
            return redirect()->route('beginning.create');
        }
        $mail = ! $request->has('mail')
            ? null
            : OutboxMail::query()
                ->whereNull('school_id')
                ->where('recipient', $email)
                ->where('created_at', '>=', CarbonImmutable::createFromTimestamp($since))
                ->latest('id')
                ->first();

        return view('beginning.mailed', [
            'email' => $email,
            'sendsNone' => Mail::getDefaultDriver() === 'outbox',
            'isAsked' => $request->has('mail'),
            'mail' => $mail,
        ]);
    }

    /** What the link of the mail starts. */
    public function confirm(Request $request): View|Response
    {
        $school = PendingSchool::read(Word::in($request, 'with'));

        return $school === null
            ? self::gone()
            : view('beginning.confirm', ['school' => $school, 'with' => Word::in($request, 'with')]);
    }

    public function begin(
        Request $request,
        BeginningInvitation $invitation,
        BeginSchool $action,
    ): RedirectResponse|Response {
        $school = PendingSchool::read(Word::in($request, 'with'));
        if ($school === null) {
            return self::gone();
        }
        $invitation->take($school->once);
        try {
            $user = $action->begin($school->school, $school->head);
        } catch (UniqueConstraintViolationException) {
            // The link was followed twice at once.
            return self::gone();
        }
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->to(SetupStep::Doctrine->url());
    }

    public function show(#[CurrentUser] User $user): View
    {
        return view('beginning.school', [...self::choices(), 'school' => $user->school]);
    }

    public function update(SchoolStepRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->school->update($request->columns());

        return redirect()->to(SetupStep::Doctrine->url());
    }

    private static function gone(): Response
    {
        return response()->view('beginning.gone', [], 410);
    }

    /** @return array<string, mixed> */
    private static function choices(): array
    {
        $zones = DateTimeZone::listIdentifiers();
        $styles = array_column(BearingStyle::cases(), 'value');

        return [
            'zones' => array_combine($zones, $zones),
            'styles' => array_combine(
                $styles,
                array_map(static fn (string $style): string => __("beginning.school.styles.{$style}"), $styles),
            ),
        ];
    }
}
