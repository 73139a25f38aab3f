@props(['place'])
{{-- Where there are many, a phone shows them when they are asked for. --}}
@php($many = $place === 'desk' && auth()->user()->role->teaches())
@if ($many)
    <button class="places-button" type="button" popovertarget="places">{{ __('layout.places') }}</button>
@endif
<nav id="places" @if ($many) popover @endif aria-label="{{ __('layout.places') }}">
@tablet
@elseif ($place === 'mat')
    <x-place route="wall" key-name="w">{{ __('layout.desk') }}</x-place>
@elsecan('viewAny', App\Models\Attack::class)
    <x-place route="wall" key-name="w" :also="['wall/*']">{{ __('layout.wall') }}</x-place>
    <x-place route="attacks.index" key-name="a">{{ __('layout.attacks') }}</x-place>
    <x-place route="answers.index" key-name="s" :also="['evidence', 'footage/*']">{{ __('layout.answers') }}</x-place>
    <x-place route="basics.index" key-name="b">{{ __('layout.basics') }}</x-place>
    <x-place route="drill-lists.index" key-name="d">{{ __('layout.lists') }}</x-place>
    <x-place route="classes.index" key-name="k" :also="['tests', 'tests/*']">{{ __('layout.classes') }}</x-place>
    <x-place route="students.index" key-name="p" :also="['board', 'board/*', 'people/*', 'reps/*']">{{ __('layout.people') }}</x-place>
@elseif (auth()->user()->student_id)
    <x-place route="students.own" :parameters="[auth()->user()->student_id]" key-name="h">{{ __('layout.my-page') }}</x-place>
    <x-place route="students.show" :parameters="[auth()->user()->student_id]" key-name="l">{{ __('layout.my-ladder') }}</x-place>
    <x-place route="home.show" :parameters="[auth()->user()->student_id]" key-name="o">{{ __('layout.my-home') }}</x-place>
@elsecan('viewOwn', App\Models\Student::class)
    <x-place route="children" key-name="l">{{ __('layout.children') }}</x-place>
@endtablet
@if ($place === 'desk' && auth()->user()->can('viewAny', App\Models\Rank::class))
    <x-place route="school" key-name="c" :also="['school/*']">{{ __('layout.school') }}</x-place>
@endif
@can('create', App\Models\Rep::class)
    <x-place route="mat" key-name="m">{{ __('layout.mat') }}</x-place>
    <x-place route="record" key-name="r" :also="['record/*']">{{ __('layout.record') }}</x-place>
@endcan
</nav>
