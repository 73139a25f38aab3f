<x-layout :title="__('layout.classes')">
<x-heading :title="__('layout.classes')">
    <x-button size="sm" :href="route('tests.index')">{{ __('tests.tests') }}</x-button>
    @can('create', App\Models\TrainingClass::class)
        <x-button kind="rust" size="sm" data-key="n" :href="route('classes.create')">{{ __('classes.add') }}</x-button>
    @endcan
</x-heading>
<p class="lead-line">{{ __('classes.lead') }}</p>
@if ($coming->isEmpty() && $past->isEmpty())
    <x-empty :text="__('classes.none')">@can('create', App\Models\TrainingClass::class)
        <x-button kind="rust" :href="route('classes.create')">{{ __('classes.add') }}</x-button>
    @endcan</x-empty>
@else
    @foreach (['coming' => $coming, 'past' => $past] as $when => $classes)
        @if ($classes->isNotEmpty())
            <h2>{{ __('classes.'.$when) }}</h2>
            <div class="table-wide">
            <x-table :head="array_values(texts('classes.index-columns'))">
                @foreach ($classes as $class)
                    <tr>
                        <th scope="row"><a href="{{ route('classes.show', $class) }}">{{ school_time($class->at, 'D j M Y, H:i') }}</a></th>
                        <td>{{ $class->place }}</td>
                        <td>{{ $class->ranks === [] ? __('classes.everybody') : implode(', ', $class->ranks) }}</td>
                        <td>{{ $class->minutes }}</td>
                    </tr>
                @endforeach
            </x-table>
            </div>
        @endif
    @endforeach
    <x-paging :pages="$past"/>
@endif
</x-layout>
