<x-layout :title="__('solos.title')">
<x-heading :title="__('solos.title')">
    @can('create', App\Models\Solo::class)
        <x-button kind="rust" size="sm" data-key="n" :href="route('basics.create')">{{ __('solos.add-basic') }}</x-button>
        <x-button size="sm" :href="route('basics.create', ['kind' => 'form'])">{{ __('solos.add-form') }}</x-button>
    @endcan
    @if ($list->ranks !== [])<x-button size="sm" :href="route('basics.pdf')">{{ __('solos.pdf') }}</x-button>@endif
</x-heading>
<p class="lead-line">{{ __('solos.lead', ['days' => $list->fadesAfter]) }}</p>
@if ($ranks->isEmpty())
    <x-no-ranks/>
@elseif ($list->ranks === [])
    <x-empty :title="__('solos.none')" :text="__('solos.none-help')"/>
@endif
@foreach ($list->ranks as $rank => $rows)
    <h2>{{ $rank }}</h2>
    <div class="table-wide">
    <x-table class="solo-list" :head="array_values(texts('solos.columns'))">
        @foreach ($rows as $row)
            <tr>
                <th scope="row"><a href="{{ route('basics.show', $row['solo']) }}">{{ $row['solo']->name }}</a></th>
                <td>{{ $row['kind'] }}</td>
                <td>{{ $row['solo']->isForm() ? '' : __('solos.sides.'.$row['solo']->side) }}</td>
                <td>{{ $row['sound'] }}</td>
            </tr>
        @endforeach
    </x-table>
    </div>
@endforeach
</x-layout>
