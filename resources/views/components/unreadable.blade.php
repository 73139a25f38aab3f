@props(['rows'])
@if ($rows !== [])
    <section class="flash flash-wrong" aria-label="What cannot be read">
        <p class="mb-1"><strong>{{ count($rows) }} {{ Str::plural('row', count($rows)) }} cannot be read</strong> and {{ count($rows) === 1 ? 'is' : 'are' }} left out of the wall and of every figure until you mend {{ count($rows) === 1 ? 'it' : 'them' }}.</p>
        <ul class="mb-0">
            @foreach ($rows as $row)
                <li>
                    @if (in_array($row->table, ['attacks', 'answers'], true))<a href="{{ route($row->table.'.show', $row->id) }}">{{ $row->title }}</a>@else<strong>{{ $row->title }}</strong>@endif:
                    {{ $row->why }}
                </li>
            @endforeach
        </ul>
    </section>
@endif
