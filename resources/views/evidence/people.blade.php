{{-- Who is ready for another rung, and who was attacked by whom. --}}
<section aria-labelledby="moves"><h2 id="moves">{{ __('evidence.moves.heading') }}</h2>
    <p class="lead-line">{{ __('evidence.moves.lead') }}
        <a href="{{ route('evidence.table', 'moves') }}" download>{{ __('evidence.csv') }}</a></p>
    @php ($moves = $people->moves())
    @if ($moves->isEmpty())<p>{{ __('evidence.moves.none') }}</p>@else
    <div class="table-wide">
    <x-table :head="array_values(texts('evidence.moves.columns'))" :caption="__('evidence.moves.heading')">
        @foreach ($moves as $row)
            <tr><th scope="row"><a href="{{ $row['url'] }}#moves">{{ $row['name'] }}</a></th>
                <td>{{ implode(' ', $row['up']) }}</td><td>{{ implode(' ', $row['down']) }}</td></tr>
        @endforeach
    </x-table>
    </div>
    <x-paging :pages="$moves"/>
    @endif
</section>
<section aria-labelledby="partners"><h2 id="partners">{{ __('evidence.partners.heading') }}</h2>
    @php ($partners = $people->partners())
    @if ($partners->isEmpty())<p>{{ __('evidence.partners.none') }}</p>@else
    <p class="lead-line">{{ __('evidence.partners.lead') }}
        <a href="{{ route('evidence.table', 'partners') }}" download>{{ __('evidence.csv') }}</a></p>
    <div class="table-wide">
    <x-table :head="array_values(texts('evidence.partners.columns'))" :caption="__('evidence.partners.heading')">
        @foreach ($partners as $row)
            <tr><th scope="row"><a href="{{ $row['url'] }}">{{ $row['name'] }}</a></th><td>{{ $row['tries'] }}</td>
                <td>{{ $row['often'] }}@if ($row['others'] !== '')
                    <details><summary>{{ $row['more'] }}</summary>{{ $row['others'] }}</details>@endif</td>
                <td>{{ $row['larger'] }}</td></tr>
        @endforeach
    </x-table>
    </div>
    <x-paging :pages="$partners"/>
    @endif
</section>
