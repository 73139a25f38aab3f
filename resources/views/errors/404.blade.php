<x-message title="Nothing lies here">There is no such page in your school. It may have been deleted, or the address has a slip in it.</x-message>
