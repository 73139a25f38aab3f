{{-- A step of setting up a school: which one it is, and the way to those before it. --}}
@props(['step', 'school' => null, 'lead'])
<x-layout :title="__('beginning.'.$step->value.'.title')">
<div class="beginning">
<nav aria-label="{{ __('beginning.steps') }}">
<ol class="steps">
@foreach (App\Models\SetupStep::asked() as $each)
    <li @if ($each === $step) aria-current="step" @endif>
        @if ($each !== $step && $school?->setup && $each->isOpenAt($school->setup))
            <a href="{{ $each->url() }}">{{ __('beginning.'.$each->value.'.short') }}</a>
        @else
            {{ __('beginning.'.$each->value.'.short') }}
        @endif
    </li>
@endforeach
</ol>
</nav>
<h1>{{ __('beginning.'.$step->value.'.title') }}</h1>
<p class="lead-line">{{ $lead }}</p>
<x-invalid/>
{{ $slot }}
</div>
</x-layout>
