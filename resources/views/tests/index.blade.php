<x-layout :title="__('tests.tests')">
<x-heading :title="__('tests.tests')">
    @can('create', App\Models\Test::class)
        <x-button kind="rust" size="sm" data-key="n" :href="route('tests.create')">{{ __('tests.add') }}</x-button>
    @endcan
    <x-button size="sm" :href="route('classes.index')">{{ __('layout.classes') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('tests.lead') }}</p>
@if ($coming->isEmpty() && $past->isEmpty())
    <x-empty :text="__('tests.none')">@can('create', App\Models\Test::class)
        <x-button kind="rust" :href="route('tests.create')">{{ __('tests.add') }}</x-button>
    @endcan</x-empty>
@else
    @foreach (['coming' => $coming, 'past' => $past] as $when => $tests)
        @if ($tests->isNotEmpty())
            <h2>{{ __('tests.'.$when) }}</h2>
            <div class="table-wide">
            <x-table :head="array_values(texts('tests.index-columns'))">
                @foreach ($tests as $test)
                    <tr>
                        <th scope="row"><a href="{{ route('tests.show', $test) }}">{{ school_time($test->at, 'D j M Y, H:i') }}</a></th>
                        <td>{{ $test->rank->name }}</td>
                        <td>{{ $test->place }}</td>
                        <td>{{ $test->candidates_count }}</td>
                    </tr>
                @endforeach
            </x-table>
            </div>
        @endif
    @endforeach
    <x-paging :pages="$past"/>
@endif
</x-layout>
