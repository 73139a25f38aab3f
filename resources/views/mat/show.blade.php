<x-layout :title="__('mat.mat')" place="mat">
<div class="mat-drill" x-data="mat" x-bind:data-running="isFull" data-kit="{{ route('mat.kit', array_filter(['find' => $find]), absolute:
    false) }}"
    data-plans="{{ route('mat.plans', absolute: false) }}"
data-worker="{{ App\View\Worker::address() }}" data-reps="{{ route('mat.reps.store', absolute: false) }}">
<p class="held" role="status"><span x-text="held">{{ __('mat.looking') }}</span>
    <a x-cloak x-show="signedOut" href="{{ route('sign-in', absolute: false) }}">{{ __('mat.sign-in-to-send') }}</a></p>
@tablet
    <p class="held" x-text="recorder"></p>
@endtablet
<x-caution dark x-cloak x-show="isInsecure">{{ __('mat.insecure') }}</x-caution>
@include('mat.refused')
<section x-show="isSetup" aria-labelledby="setup-title">
    <h1 id="setup-title">{{ __('mat.set-up') }}</h1>
    @if ($ranks->isEmpty())
        <x-no-ranks/>
    @elseif ($students === 0)
        <x-no-students/>
    @else
        @include('mat.classes')
        @include('mat.exams')
        @include('mat.set-up')
    @endif
</section>
<section x-cloak x-show="isLocked" aria-labelledby="locked-title">
    <h1 id="locked-title">{{ __('mat.locked') }}</h1>
    <p class="lead-line">{{ __('mat.locked-help') }}</p>
    <a class="begin" href="{{ route('sign-in', absolute: false) }}">{{ __('session.sign-in') }}</a>
</section>
@include('mat.stage')
@include('mat.class')
@include('mat.exam')
<section x-cloak x-show="isDone" aria-labelledby="done-title">
    <h1 id="done-title">{{ __('mat.done') }}</h1>
    <p class="lead-line"><span x-text="progress"></span> {{ __('mat.done-help') }}</p>
    <button type="button" class="begin" x-on:click="again">{{ __('mat.again') }}</button>
    @tablet
    @else
        <a class="tile" href="{{ route('students.index') }}">{{ __('mat.ladders') }}</a>
    @endtablet
</section>
</div>
</x-layout>
