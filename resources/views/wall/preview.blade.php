<div class="columns-2">
<section aria-labelledby="closes">
    <h2 id="closes">{{ trans_choice('moves.closes', count($preview->closed)) }}</h2>
    <ul>@foreach ($preview->closed as $one)<li><strong>{{ $one->kind->value }}</strong> {{ $one->reason }}</li>@endforeach</ul>
    @if ($preview->opened !== [])
        <h2>{{ trans_choice('moves.opens', count($preview->opened)) }}</h2>
        <ul>@foreach ($preview->opened as $one)<li><strong>{{ $one->kind->value }}</strong> {{ $one->reason }}</li>@endforeach</ul>
    @endif
</section>
<section aria-labelledby="ranks">
    <h2 id="ranks">{{ __('moves.ranks') }}</h2>
    <x-table :head="array_values(texts('moves.columns'))">
        @foreach ($preview->rows() as $row)
            <tr @class(['text-secondary' => ! $row['changes']])>
                <th scope="row">{{ $row['rank'] }}</th>
                @foreach ($row['figures'] as $figure)<td>{{ $figure }}</td>@endforeach
            </tr>
        @endforeach
    </x-table>
    <p class="form-text">{{ __('moves.estimates') }}</p>
</section>
</div>
