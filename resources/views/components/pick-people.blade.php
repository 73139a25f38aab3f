{{-- People to tick under a name, narrowed by what they are called where there are many. --}}
@props(['name', 'of', 'students', 'chosen'])
<x-find-name :of="$of" :count="count($students)"/>
<div class="checks attendance" id="{{ $of }}">
    @foreach ($students as $student)
        <label><input type="checkbox" name="{{ $name }}[]" value="{{ $student->id }}" @checked(in_array($student->id, $chosen, true))>
            {{ $student->name }} <small>{{ $student->rank->name }}</small></label>
    @endforeach
</div>
