<x-layout title="Write an answer">
    <h1>An answer to “{{ $attack->title }}”</h1>
    @if ($form->ranks->isEmpty())
        <x-no-ranks/>
    @else
        <form method="post" action="{{ route('answers.store', $attack) }}">
            @csrf
            @include('answers.form')
            <button class="btn btn-rust mt-3">Save the answer</button>
            <a class="btn btn-plain mt-3" href="{{ route('attacks.show', $attack) }}">Back without saving</a>
        </form>
    @endif
</x-layout>
