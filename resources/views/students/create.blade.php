<x-layout title="Add a student">
    <h1>Add a student</h1>
    @if ($ranks->isEmpty())<x-no-ranks/>@else
    <form method="post" action="{{ route('students.store') }}">@csrf @include('students.form')<button class="btn btn-rust mt-3">Add</button> <a class="btn btn-plain mt-3" href="{{ route('students.index') }}">Back</a></form>
    @endif
</x-layout>
