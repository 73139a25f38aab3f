<x-layout :title="__('beginning.mailed.title')">
<div class="sign-in">
    <h1>{{ __('beginning.mailed.title') }}</h1>
    <p class="lead-line">{{ __('beginning.mailed.lead', ['email' => $email, 'hours' => App\Auth\PendingSchool::HOURS]) }}</p>
    @if ($mail)
        <section class="slab" aria-labelledby="mail-title">
            <h2 id="mail-title" class="mt-0">{{ $mail->subject }}</h2>
            <x-mail-text :mail="$mail"/>
        </section>
    @elseif ($sendsNone)
        <p>{{ __($isAsked ? 'beginning.mailed.not-yet' : 'beginning.mailed.sends-none') }}</p>
        <p><x-button kind="rust" :href="route('beginning.mailed', ['mail' => 1])">{{ __('beginning.mailed.open') }}</x-button></p>
    @endif
    <p class="mt-3"><a href="{{ route('beginning.create') }}">{{ __('beginning.mailed.again') }}</a></p>
</div>
</x-layout>
