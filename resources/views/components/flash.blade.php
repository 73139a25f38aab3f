{{-- What has become of the last thing that was asked for: done, or refused. --}}
@props(['kind'])
@if (session($kind))
<div @class(['flash', 'flash-error' => $kind === 'error']) role="status">
    {{ session($kind) }}
    @if ($kind === 'status' && session('undo'))
        <form class="d-inline ms-2" method="post" action="{{ route('versions.restore', [session('undo')['answer'],
            session('undo')['version']]) }}">
            @csrf
            <x-hidden :values="['version' => session('undo')['now']]"/>
            <x-button size="sm">{{ __('words.undo') }}</x-button>
        </form>
    @endif
    @if (session('correctable'))
        <a class="ms-2" href="{{ route('reps.correct', session('correctable')) }}">{{ __('reps.correct-'.$kind) }}</a>
    @endif
</div>
@endif
