{{-- What is to come and what is past under its title, a row each as `of`/row shows it. --}}
@props(['of', 'head', 'titled', 'past', 'words' => null])
@foreach ($titled as $title => $rows)
    @if ($rows->isNotEmpty())
        <h2>{{ $title }}</h2>
        <div class="table-wide">
        <x-table :head="$head">
            @foreach ($rows as $row)
                @include("{$of}.row")
            @endforeach
        </x-table>
        </div>
    @endif
@endforeach
<x-paging :pages="$past"/>
