<x-layout :title="$solo->name">
<x-heading :title="$solo->name">
    <x-slot:beside><span class="tag">{{ __('solos.kinds.'.$solo->kind->value) }}</span></x-slot>
    @can('update', $solo)<x-button size="sm" data-key="e" :href="route('basics.edit', $solo)">{{ __('words.edit') }}</x-button>@endcan
    @can('delete', $solo)<x-delete :action="route('basics.destroy', $solo)"
        :question="__('solos.delete-question', ['name' => $solo->name])"/>@endcan
    <x-button size="sm" :href="route('basics.index')">{{ __('solos.title') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('solos.asked-from', ['rank' => $solo->rank->name]) }}@if (! $solo->isForm()) ·
    {{ __('solos.sides.'.$solo->side) }}@endif</p>
<div class="columns-2">
<section aria-labelledby="how"><h2 id="how" class="mt-0">{{ __('solos.how') }}</h2>@include('solos.how')</section>
<div>
@if ($page->feet)
    <section aria-labelledby="feet"><h2 id="feet" class="mt-0">{{ __('solos.feet.heading') }}</h2>
        <div class="solo-picture">@include('solos.feet', ['picture' => $page->feet])</div>
        <p class="form-text">{{ ucfirst($page->feet->text()) }}. {{ $page->drawnFor() }}
            <x-save-drawing of="svg.feet-drawing" :name="$solo->code.'-feet'"/></p></section>
@endif
@if ($page->path)
    <section aria-labelledby="path"><h2 id="path" class="mt-0">{{ __('solos.path.heading') }}</h2>
        <div class="solo-picture">@include('solos.path', ['picture' => $page->path])</div>
        <p class="form-text">{{ $page->path->text() }} {{ $page->drawnFor() }}
            <x-save-drawing of="svg.path-drawing" :name="$solo->code.'-path'"/></p></section>
@endif
@include('footage.section')
@if (! $solo->isForm())
    <section aria-labelledby="uses"><h2 id="uses">{{ __('solos.uses') }}</h2>
        @if ($page->uses() === [])<p>{{ __('solos.uses-none') }}</p>@endif
        <ul class="solo-uses">@foreach ($page->uses() as $use)<li><a href="{{ $use['url'] }}">{{ $use['title'] }}</a>
            <small>{{ __('solos.uses-of', ['beats' => $use['beats']]) }}</small></li>@endforeach</ul></section>
@endif
</div>
</div>
<h2>{{ __('solos.mark-many') }}</h2>
@if ($rows === [])
    <p>{{ __('solos.nobody', ['rank' => $solo->rank->name]) }}</p>
@else
{{-- The same in each row: drawn once, since there may be thousands. --}}
@php($options = view('solos.mark-options')->render())
<x-find-name of="marks" :count="count($rows)"/>
<form method="post" action="{{ route('basics.marks', $solo) }}">
    @csrf
    <div class="table-wide">
    <x-table id="marks" :head="array_values(texts('solos.marks-columns'))">
        @foreach ($rows as $row)
            <tr>
                <th scope="row"><a href="{{ route('basics.student', [$solo, $row['student']]) }}">{{ $row['student']->name }}</a>
                    <small>{{ $row['student']->rank->name }}</small></th>
                <td>{{ $row['text'] }}</td>
                <td class="mark-cell"><select class="form-select form-select-sm" id="mark-{{ $row['student']->id }}"
                    name="marks[{{ $row['student']->id }}]"
                    aria-label="{{ $row['student']->name }}: {{ __('solos.mark') }}">{!! $options !!}</select></td>
            </tr>
        @endforeach
    </x-table>
    </div>
    <x-button kind="rust">{{ __('solos.mark-all') }}</x-button>
</form>
@endif
</x-layout>
