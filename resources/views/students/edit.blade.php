<x-layout title="Edit {{ $student->name }}">
    <h1>Edit {{ $student->name }}</h1>
    <form method="post" action="{{ route('students.update', $student) }}">@csrf @method('put') @include('students.form')<button class="btn btn-rust mt-3">Save</button> <a class="btn btn-plain mt-3" href="{{ route('students.show', $student) }}">Back without saving</a></form>
</x-layout>
