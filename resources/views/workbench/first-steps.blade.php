@if ($steps === null)
<p class="mb-1">{{ __('floor.no-strike', ['wanted' => $wanted]) }} <code>right palm chin</code>.</p>
@elseif ($steps === [])
<p class="mb-1">{{ __('floor.no-first-step', ['strike' => $wanted]) }}</p>
@else
<p class="mb-1"><strong>{{ __('floor.best-first-steps') }}</strong> {{ __('floor.still-reaching', ['strike' => $wanted]) }}</p>
<ol class="first-steps">
    @foreach ($steps as $row)
        <li><x-button size="sm" type="button" :data-first="$row['text']"
            x-on:click="takeStep">{{ $row['text'] }}</x-button> {{ $row['facts'] }}</li>
    @endforeach
</ol>
@endif
