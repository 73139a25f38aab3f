@props(['rows'])
@if ($rows !== [])
<section class="flash flash-error" aria-label="{{ __('words.unreadable-rows-label') }}">
    <p class="mb-1"><strong>{{ trans_choice('words.unreadable-rows', count($rows)) }}</strong> {{ trans_choice('words.unreadable-rows-help',
        count($rows)) }}</p>
    <ul class="mb-0">
        @foreach ($rows as $row)
            <li>
                @if ($row->hasPage())<a href="{{ route($row->table.'.show',
                    $row->id) }}">{{ $row->title }}</a>@else<strong>{{ $row->title }}</strong>@endif:
                {{ $row->why }}
            </li>
        @endforeach
    </ul>
</section>
@endif
