<form method="get" action="{{ route('cross', absolute: false) }}" class="search-row no-print">
    <x-hidden :values="$query->parameters()"/>
    <x-field name="down" :label="__('cross.down')"><x-select name="down" :options="$page->aspects()" :value="$page->down->id"/></x-field>
    <x-field name="across" :label="__('cross.across')"><x-select name="across" :options="$page->aspects()"
        :value="$page->across->id"/></x-field>
    <x-button kind="primary">{{ __('words.show') }}</x-button>
</form>
@if (! $query->selection->isEverything())
    <p class="chips">@foreach ($page->chips($query) as $chip)<x-chip :href="$chip['url']">{{ $chip['text'] }}</x-chip>@endforeach</p>
@endif
<p class="form-text">{{ __('cross.help') }} @if (! $isWhole){{ __('cross.not-whole') }} <a
    href="{{ route('wall', absolute: false) }}">{{ __('wall.title') }}</a>.@endif</p>
@if ($page->table->down === [])
    <x-empty :text="__('wall.no-match')"/>
@else
    <x-figure :label="__('cross.title')">
        <table class="table table-sm cross-table">
            <thead><tr>
                <th scope="col">{{ $page->name($page->down) }} \ {{ $page->name($page->across) }}</th>
                @foreach ($page->table->across as $value)<th scope="col">{{ $value }}</th>@endforeach
                <th scope="col">{{ __('words.all') }}</th>
            </tr></thead>
            <tbody>
                @foreach ($page->rows($query) as $row)
                    <tr @class(['whole' => $row['isWhole']])>
                        <th scope="row">{{ $row['name'] }}</th>
                        @foreach ($row['tallies'] as $tally)<td
                            @class(['whole' => $tally['isWhole']])>@include('wall.tally')</td>@endforeach
                    </tr>
                @endforeach
            </tbody>
        </table>
    </x-figure>
@endif
<section aria-labelledby="pairs">
    <h2 id="pairs">{{ __('cross.pairs.title', ['missing' => number_format(count($page->pairs->missing)),
        'all' => number_format($page->pairs->pairs)]) }}</h2>
    <p class="form-text">{{ __('cross.pairs.help') }}</p>
    @if ($page->pairs->missing !== [])
        <table class="table table-sm pairs-table">
            <thead><tr>@foreach (texts('cross.pairs.columns') as $column)<th scope="col">{{ $column }}</th>@endforeach<td></td></tr></thead>
            <tbody>
                @foreach ($page->firstPairs() as $pair)
                    <tr>
                        <th scope="row">{{ $pair['text'] }}</th>
                        <td>{{ number_format($pair['attacks']) }}</td>
                        <td>{{ $pair['kind'] }}</td>
                        <td>@can('create', App\Models\Attack::class)
                            <a href="{{ $pair['url'] }}" aria-label="{{ __('cross.pairs.add-label',
                                ['pair' => $pair['text']]) }}">{{ __('cross.pairs.add') }}</a>
                        @endcan</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($page->morePairs() > 0)<p class="form-text">{{ __('cross.pairs.more',
            ['count' => number_format($page->morePairs())]) }}</p>@endif
    @endif
</section>
