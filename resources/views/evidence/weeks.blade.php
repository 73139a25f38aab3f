{{-- The reps along time, of everybody or of a group. --}}
<section aria-labelledby="weeks"><h2 id="weeks">{{ __('evidence.weeks.heading') }}</h2>
    <p class="lead-line">{{ __('evidence.weeks.lead') }}</p>
    <form method="get" action="{{ route('evidence') }}#weeks" class="search-row no-print">
        <x-field name="group" :label="__('evidence.weeks.group')"><x-select name="group" :options="$groups" :value="$group"/></x-field>
        <x-button>{{ __('words.show') }}</x-button>
        <x-button :href="route('evidence.table', 'weeks')" download>{{ __('evidence.csv') }}</x-button>
    </form>
    @if ($weeks->oneMore() !== '')<p>{{ $weeks->oneMore() }}</p>@endif
    <div class="table-wide">
    <x-table :head="array_values(texts('evidence.weeks.columns'))" :caption="__('evidence.weeks.heading')">
        @foreach ($weeks->rows() as $row)
            <tr><th scope="row">{{ $row['week'] }}</th><td>{{ $row['tries'] }}</td><td>{{ $row['people'] }}</td>
                <td>{{ $row['clean'] }}</td><td>{{ $row['alike'] }}</td>
                @foreach (['held', 'faded'] as $way)
                    <td>@if ($row[$way] === 0) 0 @else
                        <details hx-get="{{ route('evidence.turns', [$row['from'], $way, 'group' => $group]) }}"
                            hx-trigger="toggle once" hx-target="find ul"><summary>{{ $row[$way] }}</summary>
                            <ul aria-live="polite"><li>{{ __('evidence.weeks.coming') }}</li></ul>
                        </details>@endif</td>
                @endforeach
            </tr>
        @endforeach
    </x-table>
    </div>
</section>
