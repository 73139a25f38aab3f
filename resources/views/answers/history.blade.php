<h2>History</h2>
<ol class="history">
    @foreach ($history->entries as $entry)
        <li><strong>{{ $entry->isFirst ? 'Introduced' : 'Changed' }}</strong> by {{ $entry->by }}, <time datetime="{{ $entry->at->format(DATE_ATOM) }}">{{ $entry->at->format('j M Y, H:i') }}</time>@if ($entry->isNow), as it is now @endif
            @if ($entry->changes !== [])
                <details><summary>what changed: {{ implode(', ', array_column($entry->changes, 'field')) }}</summary>
                    @foreach ($entry->changes as $change)<p class="mb-0 mt-1">{{ $change['field'] }}</p><pre class="diff">@foreach ($change['lines'] as $line)<span class="{{ ['+' => 'added', '−' => 'removed', ' ' => 'kept'][$line['sign']] }}">{{ $line['sign'] }} {{ $line['text'] }}
</span>@endforeach</pre>@endforeach
                </details>
            @endif
            @if (! $entry->isNow)
                @can('update', $answer)
                    <form class="d-inline no-print" method="post" action="{{ route('versions.restore', [$answer, $entry->version]) }}">@csrf<input type="hidden" name="version" value="{{ $answer->version }}"><button class="btn btn-plain btn-sm">Bring this one back</button></form>
                @endcan
            @endif
        </li>
    @endforeach
</ol>
