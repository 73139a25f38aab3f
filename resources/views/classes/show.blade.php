<x-layout :title="__('classes.title', ['day' => school_time($class->at, 'j M Y')])">
<x-heading :title="__('classes.title', ['day' => school_time($class->at, 'D j M Y, H:i')])">
    <x-button size="sm" href="#who">{{ __('classes.who') }}</x-button>
    <x-button size="sm" :href="route('classes.sheet', $class)">{{ __('classes.sheet') }}</x-button>
    @can('update', $class)
        <x-button size="sm" data-key="e" :href="route('classes.edit', $class)">{{ __('words.edit') }}</x-button>
    @endcan
</x-heading>
<p class="lead-line">{{ $page->facts() }}</p>
@if ($class->cancelled_at)<div class="flash flash-error" role="status">{{ __('classes.is-off') }}
    @can('update', $class)<form method="post" action="{{ route('classes.restore', $class) }}" class="d-inline">@csrf
        <x-button size="sm">{{ __('classes.on-again-act') }}</x-button></form>@endcan</div>@endif
<x-overtaken :row="$class"/>
@if ($page->isOfLatest())<p>{{ __('classes.of-latest', ['count' => count($page->students)]) }}</p>@endif
@if ($page->trouble !== '')<div class="flash flash-error" role="alert">{{ $page->trouble }}</div>@endif
@if ($page->mayHaveBegun())
    <div hx-get="{{ route('classes.done', $class) }}" hx-trigger="load" hx-swap="outerHTML"></div>
@endif
@include('classes.timetable')
@if ($page->students->isEmpty())
    <x-empty :text="__('classes.nobody')"/>
@else
    @include('classes.taught')
    @include('classes.partners')
    <h2>{{ __('classes.pressure') }}</h2>
    <div class="table-wide pressure">
    <x-table :head="array_values(texts('classes.pressure-columns'))">
        @foreach ($page->pressure()->rows() as $row)
            <tr><th scope="row">{{ $row['name'] }}</th><td>{{ $row['next'] }}@if ($row['test'] !== '')<small class="d-block">{{
                $row['test'] }}</small>@endif</td>
                <td>@foreach ($row['moves'] as $move)<small class="d-block">{{ $move }}</small>@endforeach</td>
                <td>{{ $row['out'] }}</td></tr>
        @endforeach
    </x-table>
    </div>
    @if ($class->beginsAt()->endOfDay()->isFuture() && ($drilled = $page->season->drilled()) !== [])
        <p class="form-text no-print">{{ __('classes.list-for-test') }}</p>
        @foreach ($drilled as $cell)<input type="hidden" form="pick" name="cells[]" value="{{ $cell }}">@endforeach
        @include('lists.pick', ['lists' => $class->school->drillLists,
            'newName' => __('lists.name-for-test', ['day' => school_time($class->at, 'j M, H:i')])])
    @endif
@endif
<div hx-get="{{ route('classes.home', $class) }}" hx-trigger="intersect once" hx-swap="outerHTML"></div>
<section class="no-print" aria-labelledby="who">
<h2 id="who">{{ __('classes.who') }}</h2>
<p class="lead-line">{{ __('classes.who-lead') }}</p>
<form method="post" action="{{ route('classes.attendance', $class) }}" class="slab">
    @csrf
    @method('put')
    @foreach ($here as $id)<x-hidden :values="['shown[]' => $id]"/>@endforeach
    <x-pick-people name="present" of="everybody" :students="$everybody" :chosen="$here"/>
    <x-button kind="rust" class="mt-3">{{ __('classes.mark') }}</x-button>
</form>
</section>
</x-layout>
