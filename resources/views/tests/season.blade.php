<section id="season" aria-labelledby="season-title" @if ($season === null && ! $hasFailed) hx-get="{{ route('tests.season', $test) }}"
hx-trigger="load delay:1s" hx-swap="outerHTML" @endif>
<h2 id="season-title">{{ __('tests.season.title') }}</h2>
@if ($season === null)
    <p class="form-text" role="status">{{ __($hasFailed ? 'tests.season.failed' : 'tests.season.working') }}</p>
    @if (! $hasFailed)
        <progress class="w-50" max="100" value="{{ $share }}" aria-label="{{ __('tests.season.working') }}">{{ $share }} %</progress>
    @endif
@else
    @if ($season->fits())
        <p><strong>{{ __('tests.season.fits') }}</strong></p>
    @else
        <p><strong>{{ __('tests.season.fits-not') }}</strong></p>
        <ul>@foreach ($season->mend() as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
    @endif
    <p class="form-text">{{ $season->learning() }}</p>
    @include('tests.curve', ['curve' => $season->curve])
    <div class="table-wide">
    <x-table :head="array_values(texts('tests.season.candidate-columns'))">
        @foreach ($season->candidates() as $row)
            <tr><th scope="row">{{ $row['name'] }}</th><td>{{ $row['holds'] }}</td><td>{{ $row['pass'] }}</td><td>{{ $row['ready'] }}</td>
                <td>{{ $row['left'] }}</td></tr>
        @endforeach
    </x-table>
    </div>
    @if ($season->classes() === [])
        <p>{{ __('tests.season.no-class') }}</p>
    @else
        <div class="table-wide">
        <x-table :head="array_values(texts('tests.season.class-columns'))">
            @foreach ($season->classes() as $row)
                <tr><th scope="row">{{ $row['day'] }}</th><td>{{ $row['teach'] }}</td>
                    <td>@if ($row['drill'] !== [])<details><summary>{{ trans_choice('tests.season.cells', count($row['drill'])) }}</summary>
                        <ul>@foreach ($row['drill'] as $line)<li>{{ $line }}</li>@endforeach</ul></details>@endif</td></tr>
            @endforeach
        </x-table>
        </div>
    @endif
@endif
</section>
