<x-layout :title="__('tests.title', ['rank' => $test->rank->name, 'day' => school_time($test->at, 'j M Y')])">
<x-heading :title="__('tests.title', ['rank' => $test->rank->name, 'day' => school_time($test->at, 'D j M Y, H:i')])">
    <x-button size="sm" :href="route('tests.sheet', $test)">{{ __('tests.sheet') }}</x-button>
    @can('update', $test)<x-button size="sm" data-key="e" :href="route('tests.edit', $test)">{{ __('words.edit') }}</x-button>@endcan
    <x-button size="sm" :href="route('tests.index')">{{ __('tests.tests') }}</x-button>
</x-heading>
<p class="lead-line">@if ($test->place){{ $test->place }} · @endif{{ trans_choice('tests.candidates', count($page->rows)) }} ·
    {{ trans_choice('tests.items', $page->asks()) }}. <x-test-rule :school="$test->school"/></p>
@if ($test->cancelled_at)<div class="flash flash-error" role="status">{{ __('tests.is-off') }}</div>@endif
@if ($page->asks() === 0)<x-empty :text="__('tests.nothing-asked')"/>@endif
@if ($page->rows !== [])
    <p class="form-text">{{ __('tests.who-lead') }}</p>
    <div class="table-wide">
    <x-table :head="array_values(texts('tests.who-columns'))">
        @foreach ($page->rows as $row)
            <tr>
                <th scope="row"><a href="{{ route('tests.candidate', [$test, $row['student']]) }}">{{ $row['student']->name }}</a>
                    <small>{{ $row['student']->rank->name }}</small></th>
                <td>{{ $row['ready'] }}</td><td>{{ $row['most'] }}</td><td>{{ $row['state'] }}</td>
            </tr>
        @endforeach
    </x-table>
    </div>
@endif
@if ($page->rows !== [] && $page->items() !== [] && $test->at->isFuture() && ! $test->cancelled_at)
    <section id="season" hx-get="{{ route('tests.season', $test) }}" hx-trigger="load" hx-swap="outerHTML">
        <p class="form-text" role="status">{{ __('tests.season.working') }}</p>
    </section>
@endif
<h2>{{ __('tests.items-title') }}</h2>
<ol>
    @foreach ($page->items() as $item)
        <li>{{ $item['title'] }} <small>{{ __('words.rung') }} {{ $item['rung'] }}</small>
            @if ($item['critical'])<span class="tag tag-critical">{{ __('tests.critical') }}</span>@endif</li>
    @endforeach
    @foreach ($test->solos as $solo)
        <li><a href="{{ route('basics.show', $solo) }}">{{ $solo->name }}</a>
            <small>{{ __('solos.kinds.'.$solo->kind->value) }}</small></li>
    @endforeach
</ol>
</x-layout>
