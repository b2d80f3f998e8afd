/** By which the application knows who came through the door; its value is a secret of the two. */
export const ROOM_HEADER = "x-elm-room";
