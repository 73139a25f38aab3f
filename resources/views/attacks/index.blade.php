<x-layout :title="__('attacks.attacks')">
<x-heading :title="__('attacks.attacks')">
    @can('create', App\Models\Attack::class)
        <x-button kind="rust" size="sm" data-key="n" :href="route('attacks.create')">{{ __('attacks.add') }}</x-button>
    @endcan
</x-heading>
<x-unreadable :rows="$unreadable"/>
@if ($ranks->isEmpty())
    <x-no-ranks/>
@elseif ($list->total === 0)
    <x-no-attacks/>
@else
    <form class="search-row" method="get" action="{{ route('attacks.index') }}" role="search">
        <x-field name="find" class="wide" :label="__('attacks.find')"><x-input name="find" type="search" data-key="/"
            :value="$list->filter('find')"/></x-field>
        <x-field name="family" :label="__('attacks.family')">
            <x-select name="family" :options="$list->familyOptions()" :value="$list->filter('family')"/>
        </x-field>
        <x-field name="rank" :label="__('attacks.needed-by')">
            <x-select name="rank" :options="['' => __('words.any')] + $ranks->pluck('name', 'code')->all()" :value="$list->filter('rank')"/>
        </x-field>
        <x-field name="side" :label="__('attacks.sides-answered')">
            <x-select name="side" :options="texts('attacks.sides')" :value="$list->filter('side')"/>
        </x-field>
        <x-button kind="primary">{{ __('words.find') }}</x-button>
    </form>
    @if ($list->groups->isEmpty())
        <x-empty :text="__('attacks.no-match')"><a href="{{ route('attacks.index') }}">{{ __('words.show-all',
            ['count' => $list->total]) }}</a></x-empty>
    @endif
    @foreach ($list->groups as $family => $attacks)
        <h2>{{ __('attack.families.'.$family) }}</h2>
        <x-table hides-head :head="array_values(texts('attacks.columns'))">
            @foreach ($attacks as $attack)
                <tr>
                    <th scope="row" class="w-40">@can('create', App\Models\DrillList::class)
                        <input type="checkbox" form="pick" name="cells[]" value="{{ $attack->code }} written"
                            aria-label="{{ __('lists.pick-side', ['title' => $attack->title]) }}">
                        @endcan
                        <a href="{{ route('attacks.show', $attack) }}">{{ $attack->title }}</a>
                        @if ($attack->critical)<span class="tag tag-critical">{{ __('attacks.critical') }}</span>@endif</th>
                    <td>{{ $list->kind($attack) }}</td>
                    <td>{{ $list->how($attack) }}</td>
                    <td>{{ $attack->neededBy->name ?? __('words.no-rank') }}</td>
                    <td>@foreach ($list->sides($attack) as $side)<span @class(['tag',
                        'tag-hole' => $side['isHole']])>{{ $side['text'] }}</span> @endforeach</td>
                </tr>
            @endforeach
        </x-table>
    @endforeach
    @include('lists.pick')
@endif
</x-layout>
