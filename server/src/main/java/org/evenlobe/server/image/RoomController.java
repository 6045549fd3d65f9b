package org.evenlobe.server.image;

import java.util.UUID;
import org.evenlobe.server.image.Room.RoomTaken;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** How much room a household's pictures and papers take. */
@RestController
class RoomController {
  private final Room room;

  RoomController(Room room) {
    this.room = room;
  }

  @GetMapping("/api/households/{household}/room")
  @Transactional(readOnly = true)
  public RoomTaken taken(@PathVariable UUID household) {
    return room.taken();
  }
}
