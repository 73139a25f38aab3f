<h2>{{ __('answers.history') }}</h2>
<ol class="history">
@foreach ($history->entries as $entry)
    <li>
        <strong>{{ $entry->isFirst ? __('answers.introduced') : __('answers.changed') }}</strong> {{ __('words.by',
            ['name' => $entry->by]) }},
        <time datetime="{{ $entry->at->format(DATE_ATOM) }}">{{ school_time($entry->at) }}</time>{{ $entry->isNow
            ? ', '.__('answers.as-it-is-now')
            : '' }}
        @if ($entry->changes !== [])
            <details><summary>{{ __('answers.what-changed', ['fields' => $entry->fields()]) }}</summary>
                @foreach ($entry->changes as $change)
                    <p class="mb-0 mt-1">{{ $change['field'] }}</p>
                    <pre class="diff">@foreach ($change['lines'] as $line)<span
                        class="{{ $line['class'] }}">{{ $line['sign'] }} {{ $line['text'] }}
</span>@endforeach</pre>
                @endforeach
            </details>
        @endif
        @if (! $entry->isNow)
            @can('update', $answer)
                <form class="d-inline no-print" method="post" action="{{ route('versions.restore', [$answer, $entry->version]) }}">
                    @csrf
                    <x-hidden :values="['version' => $answer->version]"/>
                    <x-button size="sm">{{ __('answers.restore') }}</x-button>
                </form>
            @endcan
        @endif
    </li>
@endforeach
</ol>
